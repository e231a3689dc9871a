import { COLOURS } from '@sleetcrest/core';
import * as z from 'zod';

export const colourSchema = z.enum(COLOURS).meta({ id: 'Colour' });
