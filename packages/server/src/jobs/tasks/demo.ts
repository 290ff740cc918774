import { seedDemo } from '../../demo/seed.js';
import { HttpProblem } from '../../lib/errors.js';
import { json } from '../answer.js';
import type { Task } from '../task.js';

/** Lays the demo out in a workshop in which nothing stands yet. @throws HttpProblem 409 for any other */
export const layOutDemo: Task<null> = {
  writes: true,
  async run(db) {
    if (await seedDemo(db)) return json({ laidOut: true }, {}, 201);
    throw new HttpProblem(409, [
      { field: '(workshop)', value: null, message: 'has parts, printers or a demo already' },
    ]);
  },
};
