// Fills the database named on the command line with the large academy, in a process of its own.
import { fillLarge } from './large.ts';

fillLarge(process.argv[2]!, new Date());
