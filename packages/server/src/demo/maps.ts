import { parsePlaceMap, type PlaceMap } from '@hornblende/core/formats';

/** The bee co-op’s ground, drawn by hand: its places are those that the demo’s parts in service are at. */
export const demoMap: PlaceMap = parsePlaceMap({
  format: 'hornblende-map',
  version: 1,
  name: 'The co-op’s ground',
  areas: [
    { name: 'Upper apiary', x: 0.03, y: 0.04, width: 0.45, height: 0.4 },
    { name: 'Lower apiary', x: 0.03, y: 0.54, width: 0.45, height: 0.42 },
    { name: 'Honey shed', x: 0.6, y: 0.3, width: 0.36, height: 0.26 },
    { name: 'Behind the honey shed', x: 0.6, y: 0.06, width: 0.36, height: 0.2 },
    { name: 'Trough by the gate', x: 0.52, y: 0.72, width: 0.24, height: 0.24 },
    { name: 'The van', x: 0.79, y: 0.68, width: 0.17, height: 0.2 },
  ],
});
