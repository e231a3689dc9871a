/**
 * A colour by its role in the hold: the first colour, the colour opposite it, the centre of a
 * side of the hold, or `side` for any of the four colours round the first. A list means any of
 * them; `!` before a name means any but that, and also holds for a piece that does not matter.
 */
export type Role = 'first' | 'opposite' | 'front' | 'right' | 'back' | 'left' | 'side';
export type Seen = Role | `!${Role}` | readonly Role[];
