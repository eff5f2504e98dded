import { z } from 'zod';

/** An instant in UTC as `2027-03-11T09:40:00.000Z`; text order is time order. */
export const instantSchema = z.iso.datetime({ precision: 3, error: 'An instant in UTC is needed here' });
