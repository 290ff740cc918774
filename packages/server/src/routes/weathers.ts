import { Router } from 'express';
import { InputError, parseInput } from '@hornblende/core/input';
import { WeatherInput } from '@hornblende/core/models';
import type { WeatherStore } from '../db/weathers.js';
import { listing } from './listing.js';
import type { Jobs } from '../jobs/jobs.js';

/** /weathers: years of hourly weather, read in the browser and kept here. */
export function weatherRoutes(weathers: WeatherStore, jobs: Jobs, now: () => string): Router {
  const router = Router();
  router.get(
    '/',
    listing(jobs, 'listWeathers', () => ({})),
  );
  router.get('/:id', async (req, res) => {
    res.json(await weathers.get(req.params.id));
  });
  router.post('/', async (req, res) => {
    const weather = parseInput(WeatherInput, req.body);
    const hours = weather.airC.length;
    for (const field of ['ghiWm2', 'windMs'] as const)
      if (weather[field].length !== hours)
        throw new InputError([
          { field, value: weather[field].length, message: `must have as many hours as airC (${hours})` },
        ]);
    res.status(201).json(await weathers.add(weather, now()));
  });
  router.delete('/:id', async (req, res) => {
    await weathers.remove(req.params.id);
    res.status(204).end();
  });
  return router;
}
