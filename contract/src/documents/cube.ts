import { COLOURS, type CubeDocument, SCHEME_SIDES } from '@sleetcrest/core';
import * as z from 'zod';
import { colourSchema } from './colour.js';
import { SAY } from './words.js';

const sideSchema = z.array(colourSchema.nullable()).length(9, SAY.badSide);

const facesSchema = z.strictObject(
  Object.fromEntries(COLOURS.map((colour) => [colour, sideSchema])) as Record<
    (typeof COLOURS)[number],
    typeof sideSchema
  >,
);

const schemeSchema = z.strictObject(
  Object.fromEntries(SCHEME_SIDES.map((side) => [side, colourSchema])) as Record<
    (typeof SCHEME_SIDES)[number],
    typeof colourSchema
  >,
);

/** The Cube document: colours as seen, by the centre of each side; null where not seen. */
export const cubeSchema = z
  .strictObject({
    format: z.literal('sleetcrest/cube@1'),
    scheme: schemeSchema
      .optional()
      .describe('Which centre is where; left out when coloured by the standard scheme.'),
    faces: facesSchema.describe(
      'Read in rows of three from the top left. Hold the up colour up and the front colour in front: ' +
        'the four sides are read so; the upper side with the back at its top, the under side with the front at its top.',
    ),
  })
  .meta({ id: 'Cube', title: 'Cube' }) satisfies z.ZodType<CubeDocument>;
