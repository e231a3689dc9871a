/** A picture on the cube: what it is called, and turns from solved, white up and green in front. */
export interface CubePattern {
  readonly id: string;
  readonly title: string;
  /** In the prime dialect. */
  readonly turns: string;
}

/**
 * Patterns whose six sides look alike but for their colours, found by `npm run -s patterns`: short
 * sequences repeated, and those done one after the other. The names are our own.
 */
export const PATTERNS: readonly CubePattern[] = [
  { id: 'ice-floes', title: 'Ice floes', turns: 'U2 D2 B2 F2 L2 R2' },
  { id: 'lanterns', title: 'Lanterns', turns: "U' F' B R' L D U' B" },
  { id: 'weave', title: 'Weave', turns: "R L' B2 F2 D' U" },
  { id: 'gateposts', title: 'Gateposts', turns: "F2 U D' F2 B2 D' U B2" },
  { id: 'jetty', title: 'Jetty', turns: "U D' F2 L2 D' U R2 F2" },
  { id: 'footbridge', title: 'Footbridge', turns: "U' D F2 L2 D U' L2 F2" },
  { id: 'tide-line', title: 'Tide line', turns: "R2 U D' L2 F2 D U' B2" },
  { id: 'oarlocks', title: 'Oarlocks', turns: "U D' B2 U2 D2 L2 U D' L2 B2" },
  { id: 'snow-steps', title: 'Snow steps', turns: 'U2 R2 F2 U2 R2 F2 U2 R2 F2 U2 R2 F2' },
  { id: 'two-ropes', title: 'Two ropes', turns: "U F B' L F2 B2 L' F2 U2 D2 F2 L'" },
  { id: 'pack-ice', title: 'Pack ice', turns: "B2 F2 U' L2 R2 U' B2 F2 L2 B2 F2 L' R' F2" },
  { id: 'one-window', title: 'One window', turns: 'R L U2 R L D R2 L2 U R2 L2 D2 B2 R2 F2' },
  {
    id: 'snow-fence',
    title: 'Snow fence',
    turns: "F U F U' D R L2 D' R U F2 B2 U' B2 R2 U2 D2 R2",
  },
  { id: 'cove', title: 'Cove', turns: "U L B2 U' L' D2 R' U' B2 R D' F2 R2 D R2 F2 B2 U D2" },
  { id: 'wake', title: 'Wake', turns: "F L' U' L2 U F' B2 D R2 U2 L F2 R D2 F2 L' U2 F2 L" },
];
