import { Readable } from 'node:stream';
import {
  glanceSchema,
  inspectionSchema,
  slipAnswerSchema,
  walkthroughSchema,
} from '@sleetcrest/contract';
import {
  type CubeDocument,
  cubeFromPainted,
  inspect,
  isSolved,
  type Method,
  methodById,
  METHODS,
  type PaintedCube,
  randomFrom,
  readCubeDocument,
  replay,
  solvedCube,
  STANDARD_SCHEME,
  TURNS,
  type Walkthrough,
  writeCubeDocument,
  writeMoves,
  writePainted,
} from '@sleetcrest/core';
import { approachById, type PatternApproach } from '@sleetcrest/core/teaching/approaches';
import { paintedFromTurns } from './input.js';
import { run } from './run.js';

async function cube(args: string[], input: string[] = [], files: Record<string, string> = {}) {
  const out: string[] = [];
  const err: string[] = [];
  const status = await run(args, {
    readFile: (path) =>
      path in files ? Promise.resolve(files[path]!) : Promise.reject(new Error()),
    lines: () => Readable.from(input),
    out: (text) => out.push(text),
    err: (text) => err.push(text),
  });
  return { status, out, err, json: () => JSON.parse(out.join('\n')) as never };
}

/** A named method with one approach written out under an id of its own. */
function ownMethod(): Method {
  const builtIn = approachById('ycross-two') as PatternApproach;
  const cases = builtIn.cases.map((one) => ({
    ...one,
    id: one.id.replace('ycross-two', 'my-cross'),
  }));
  const approaches = methodById('front-right')!.approaches.map((one) =>
    one === 'ycross-two' ? { ...builtIn, id: 'my-cross', cases } : one,
  );
  return { format: 'sleetcrest/method@1', id: 'mine', title: 'Mine', approaches };
}

function paintedOf(document: unknown): PaintedCube {
  const read = readCubeDocument(document as CubeDocument);
  if (!read.ok) throw new Error(read.error.message);
  return read.value;
}

const random = randomFrom(9);
const someTurns = (): string => writeMoves(Array.from({ length: 30 }, () => TURNS[random(18)]!));

function checkWalk(line: string): void {
  const walk = JSON.parse(line) as Walkthrough;
  const read = readCubeDocument(walk.start);
  if (!read.ok) throw new Error(read.error.message);
  const end = replay(cubeFromPainted(read.value.painted), walk.steps, STANDARD_SCHEME);
  if (!isSolved(end.cube)) throw new Error(`not solved: ${line}`);
  if (end.turnCount !== walk.turnCount) throw new Error(`turns miscounted: ${line}`);
}

describe('cube solve', () => {
  it('gives one walkthrough for turns', async () => {
    const { status, json, out } = await cube(['solve', '--turns', "R U R' U'", '--first', 'blue']);
    expect(status).toBe(0);
    expect(walkthroughSchema.parse(json()).firstColour).toBe('blue');
    checkWalk(out[0]!);
  });

  it('solves 10,000 lines, every hold and turn replayed', async () => {
    const { status, out } = await cube(
      ['solve', '--lines'],
      Array.from({ length: 10_000 }, someTurns),
    );
    expect(status).toBe(0);
    expect(out.length).toBe(10_000);
    out.forEach(checkWalk);
  });

  it('answers a bad line in its place and goes on, with status 2 at the end', async () => {
    const { status, out } = await cube(
      ['solve', '--lines', '--method', 'gentle'],
      ['R', 'R Q', 'U'],
    );
    expect(status).toBe(2);
    expect(out.map((line) => Object.keys(JSON.parse(line) as object)[0])).toEqual([
      'format',
      'error',
      'format',
    ]);
    expect(out[1]).toContain('“Q” at character 3');
  });

  it('reads a cube and a method from files', async () => {
    const files = {
      'c.json': JSON.stringify(writeCubeDocument(solvedCube())),
      'm.json': JSON.stringify(ownMethod()),
    };
    const { json } = await cube(
      ['solve', '--file', 'c.json', '--method-file', 'm.json'],
      [],
      files,
    );
    expect(json()).toEqual(jasmine.objectContaining({ method: 'mine', steps: [], turnCount: 0 }));
    const lines = [someTurns(), someTurns(), someTurns(), someTurns()];
    const mixed = ['solve', '--lines', '--method-file', 'm.json'];
    const { out } = await cube(mixed, lines, files);
    expect(out.length).toBe(lines.length);
    out.forEach(checkWalk);
    // One of eight last layers has its cross already; not all of these.
    expect(out.join()).toContain('my-cross/');
  });

  it('solves by every named method, and refuses a method that stops too soon', async () => {
    for (const { id } of METHODS) {
      const { out } = await cube(['solve', '--method', id, '--lines'], [someTurns(), someTurns()]);
      out.forEach(checkWalk);
    }
    const short = { ...ownMethod(), approaches: ['daisy'] };
    const args = ['solve', '--turns', 'R', '--method-file', 'm.json'];
    const { status, err } = await cube(args, [], { 'm.json': JSON.stringify(short) });
    expect(status).toBe(2);
    expect(err[0]).toMatch(/it stops after daisy; next there must be daisy-cross/);
  });
});

describe('cube inspect', () => {
  it('tells the stages reached', async () => {
    const { json } = await cube(['inspect', '--turns', 'D R2 D2']);
    const { legal, problems, reached, firstLayer } = inspectionSchema.parse(json());
    expect([legal, problems, reached, firstLayer]).toEqual([true, [], [], 'open']);
    const { json: last } = await cube(['inspect', '--turns', 'D']);
    expect(inspectionSchema.parse(last()).reached).toContain('yellow-cross');
  });

  it('tells how far the cube is by each method, and by one in a file', async () => {
    // All but the last corners: their places are right, their twists are not.
    const turns = "z2 U R' D' R D R' D' R D U R' D' R D R' D' R D R' D' R D R' D' R D U2";
    const files = { 'mine.json': JSON.stringify(ownMethod()) };
    const args = ['inspect', '--turns', turns, '--method-file', 'mine.json'];
    const { methods } = inspectionSchema.parse((await cube(args, [], files)).json());
    expect(Object.keys(methods)).toEqual([...METHODS.map(({ id }) => id), 'mine']);
    expect(methods['gentle']).toEqual({ done: 'corner-places', next: 'corner-twists' });
    expect(methods['side-match']).toEqual({ done: 'yellow-cross', next: 'yellow-face' });
    expect(methods['mine']).toEqual({ done: 'yellow-cross', next: 'yellow-face' });
  });

  it('tells one white side from a first layer that is done', async () => {
    const look = async (turns: string): Promise<string> =>
      inspectionSchema.parse((await cube(['inspect', '--turns', turns])).json()).firstLayer;
    expect(await look('D')).toBe('done');
    expect(await look('U')).toBe('face-only');
    expect(await look("R2 D R' U2 R D' R' U2 R'")).toBe('open');
  });

  it('names what is wrong with a painted cube, and the pieces', async () => {
    const document = writeCubeDocument(solvedCube());
    [document.faces.white[7], document.faces.green[1]] = ['green', 'white'];
    const files = { 'c.json': JSON.stringify(document) };
    const { status, json } = await cube(['inspect', '--file', 'c.json'], [], files);
    expect(status).toBe(0);
    expect(inspectionSchema.parse(json())).toEqual({
      legal: false,
      problems: [jasmine.objectContaining({ kind: 'flipped-edge', pieces: [['white', 'green']] })],
      reached: [],
      firstLayer: 'open',
      methods: jasmine.any(Object) as never,
    } as never);
    const solved = await cube(['solve', '--file', 'c.json'], [], files);
    expect(solved.status).toBe(2);
    expect(solved.err[0]).toContain('no turns can solve');
  });
});

describe('cube methods and prove', () => {
  it('list the methods and the approaches with their cases', async () => {
    const { json } = await cube(['methods']);
    const listed = json() as {
      methods: { id: string }[];
      approaches: { id: string; cases: object[] }[];
    };
    expect(listed.methods.map(({ id }) => id)).toEqual(METHODS.map(({ id }) => id));
    expect(listed.approaches.length).toBe(28);
    expect(listed.approaches.every(({ cases }) => cases.length > 0)).toBeTrue();
    expect(listed.approaches.find(({ id }) => id === 'daisy')!.cases.length).toBe(5);
  });

  it('prove one approach over all its starts', async () => {
    const { json } = await cube(['prove', '--approach', 'turn-under']);
    const { proofs } = json() as { proofs: object[] };
    expect(proofs).toEqual([
      jasmine.objectContaining({ approach: 'turn-under', starts: 27, solved: 27 }),
    ]);
  });

  it('tell what to look at, by what is in sight', async () => {
    const { json } = await cube(['glance', '--approach', 'ycross-two']);
    expect(glanceSchema.parse(json())).toEqual(jasmine.objectContaining({ worst: 3, open: 0 }));
    const ahead = (await cube(['glance', '--approach', 'edges-match', '--sight', 'ahead'])).json();
    expect(glanceSchema.parse(ahead).open).toBeGreaterThan(0.9);
  });

  it('prove a method of one’s own, and show a start that a broken sequence fails on', async () => {
    const whole = ownMethod();
    const broken = { ...(whole.approaches[3] as PatternApproach) };
    broken.cases = broken.cases.map((one) => ({ ...one, sequence: "F R U R' F'" }));
    const approaches = whole.approaches.map((one, k) => (k === 3 ? broken : one));
    const prove = async (method: object): Promise<{ proofs: Record<string, unknown>[] }> =>
      (
        await cube(['prove', '--method-file', 'm.json'], [], { 'm.json': JSON.stringify(method) })
      ).json();
    const { proofs } = await prove({ ...whole, approaches });
    const fails = proofs.find(({ approach }) => approach === 'my-cross')!;
    expect(fails['solved']).toBeLessThan(62_208);
    expect(inspect(paintedOf(fails['unsolved'])).reached).not.toContain('yellow-cross');
    expect(proofs.filter(({ unsolved }) => unsolved !== undefined).length).toBe(1);
  });

  it('say how far a proof has come on a terminal, and end that line', async () => {
    const said: string[] = [];
    await run(['prove', '--approach', 'middle-five'], {
      readFile: () => Promise.reject(new Error()),
      lines: () => Readable.from([]),
      out: () => undefined,
      err: () => undefined,
      rewrite: (text) => said.push(text),
    });
    expect(said[0]).toMatch(/^ 15 % {2}middle-five {2}4,096 of 26,880$/);
    expect(said.slice(-2)).toEqual(['100 %  middle-five  26,880 of 26,880', '']);
  });
});

describe('a mistake on the command line', () => {
  const mistakes: [string[], RegExp][] = [
    [[], /^error: give a verb/],
    [['toString'], /^error: no verb is called toString/],
    [['solve'], /^error: give one of --turns, --file or --lines/],
    [['solve', '--turns', 'R', '--lines'], /^error: give one of/],
    [
      ['solve', '--turns', 'R', '--method', 'rough'],
      /^error: no method is called rough; there is gentle/,
    ],
    [['solve', '--turns', 'R', '--first', 'pink'], /^error: no colour is called pink/],
    [['solve', '--lines', '--first', 'pink'], /^error: no colour is called pink/],
    [['solve', '--turns', 'R', '--speed', '3'], /^error: Unknown option '--speed'/],
    [['solve', '--file', 'gone.json'], /^error: gone.json cannot be read/],
    [['inspect', '--file', 'bad.json'], /^error: bad.json is not JSON/],
    [['inspect', '--file', 'odd.json'], /^error: odd.json: /],
    [['inspect', '--turns', 'R (U'], /^error: “\(” at character 3: this bracket is never closed/],
    [['prove', '--approach', 'sideways'], /^error: no approach is called sideways/],
    [['prove'], /^error: give one of --method/],
    [['glance'], /^error: give --approach/],
    [['glance', '--approach', 'daisy', '--sight', 'up'], /^error: --sight is ahead or around/],
  ];
  for (const [args, said] of mistakes) {
    it(`is one line and status 2: cube ${args.join(' ')}`, async () => {
      const { status, out, err } = await cube(args, [], { 'bad.json': '{', 'odd.json': '{}' });
      expect({ status, out }).toEqual({ status: 2, out: [] });
      expect(err.length).toBe(1);
      expect(err[0]).toMatch(said);
      expect(err[0]).not.toContain('\n');
    });
  }
});

describe('cube scramble', () => {
  it('gives turns to random cubes, the same for the same seed', async () => {
    const args = ['scramble', '--seed', '3', '--count', '4'];
    const { status, json } = await cube(args);
    const { scrambles } = json() as { scrambles: { turns: string; turnCount: number }[] };
    expect(status).toBe(0);
    expect(new Set(scrambles.map(({ turns }) => turns)).size).toBe(4);
    for (const { turns, turnCount } of scrambles) {
      expect(turns.split(' ').length).toBe(turnCount);
      expect(turnCount).toBeLessThan(27);
    }
    expect((await cube(args)).json()).toEqual(json());
    const one = (await cube(['scramble', '--seed', '3'])).json() as { scrambles: unknown[] };
    expect(one.scrambles).toEqual(scrambles.slice(0, 1));
  });

  it('needs a seed, and a count that is a number', async () => {
    expect((await cube(['scramble'])).err).toEqual([
      'error: --seed is a whole number from 0 to 4294967295',
    ]);
    const { status, err } = await cube(['scramble', '--seed', '1', '--count', 'many']);
    expect([status, err[0]]).toEqual([2, 'error: --count is a whole number from 1 to 10000']);
  });
});

describe('cube slip', () => {
  const asked = (...more: string[]): string[] => [
    'slip',
    '--start',
    "L2 D F' R",
    '--meant',
    "R U R' U'",
    '--hold',
    'yellow/green',
    ...more,
  ];

  it('tells what was done instead and the ways back, cheapest first', async () => {
    // With yellow up and green in front, the right side is orange and the top yellow.
    const { status, json } = await cube(asked('--seen-turns', "L2 D F' R L D L' D"));
    const answer = slipAnswerSchema.parse(json());
    expect(status).toBe(0);
    const [likeliest] = answer.explanations;
    expect(likeliest!.did).toBe("R U R' U");
    expect(likeliest!.slips).toEqual([{ at: 4, kind: 'reversed', meant: "U'", did: 'U' }]);
    expect(likeliest!.recover.map(({ kind }) => kind).sort()).toEqual(['go-on', 'undo']);
    expect(likeliest!.recover.find(({ kind }) => kind === 'undo')).toEqual({
      kind: 'undo',
      hold: { up: 'yellow', front: 'green' },
      turns: 'U2',
      turnCount: 1,
    });
  });

  it('reads the cube seen from a file too, whole or partly seen', async () => {
    const seen = paintedFromTurns("L2 D F' R L D L' D");
    const document = writePainted(seen.painted, STANDARD_SCHEME);
    const faces = {
      ...document.faces,
      blue: document.faces.blue.map((c, k) => (k === 4 ? c : null)),
    };
    for (const file of [document, { ...document, faces }]) {
      const files = { 'seen.json': JSON.stringify(file) };
      const { json } = await cube(asked('--seen', 'seen.json'), [], files);
      expect(slipAnswerSchema.parse(json()).explanations[0]!.did).toBe("R U R' U");
    }
  });

  it('has nothing to tell when nothing slipped or nothing explains it', async () => {
    for (const seen of ["L2 D F' R L D L' D'", 'F2 L U2 B']) {
      expect((await cube(asked('--seen-turns', seen))).json()).toEqual({ explanations: [] });
    }
  });

  it('refuses what it cannot read, saying which option to mend', async () => {
    const wrong = async (...args: string[]): Promise<string> => (await cube(args)).err.join();
    expect(await wrong('slip')).toContain('--start is missing');
    expect(await wrong(...asked())).toBe('error: give one of --seen-turns and --seen');
    const up = asked('--seen-turns', 'R').map((one) => one.replace('yellow/green', 'red/orange'));
    expect(await wrong(...up)).toContain('--hold is two colours of neighbouring sides');
    const none = asked('--seen-turns', 'R').map((one) => one.replace("R U R' U'", ''));
    expect(await wrong(...none)).toBe('error: --meant is a sequence of 1 to 40 turns');
  });
});
