import { COLOURS } from '@sleetcrest/core';
import { z } from 'zod';

export const colourSchema = z.enum(COLOURS).meta({ id: 'Colour' });
