import type { Filler, FillerKey } from './filler.js';

/** What each filler typically does, for the loadings that filaments are sold with. */
export const fillers: Record<FillerKey, Filler> = {
  'carbon-fibre': {
    key: 'carbon-fibre', name: 'short carbon fibre',
    factors: {
      densityGcm3: 1.05, modulusMPa: 2.2, yieldMPa: 1.2, zRatio: 0.72, elongationPct: 0.25, charpy23KJm2: 0.6, charpyMinus30KJm2: 0.7, alphaPerK: 0.4, crystallisationStrain: 0.2,
      uvHalfDoseMJm2: 1.6, fieldUvFactor: 0.85, waterUptakePct: 0.8, creepA: 0.6, creepN: 0.85, creepKPerK: 0.8, timeSlope: 0.8, strainOncePct: 0.3, strainRepeatedPct: 0.3, pricePerKg: 1.7, maxFlowMm3s: 0.95,
    },
    flags: { abrasive: true, clarity: 'opaque', hinge: 'no', finish: 0.9, foodPolymer: false },
  },
  'glass-fibre': {
    key: 'glass-fibre', name: 'short glass fibre',
    factors: {
      densityGcm3: 1.16, modulusMPa: 1.9, yieldMPa: 1.15, zRatio: 0.72, elongationPct: 0.3, charpy23KJm2: 0.75, charpyMinus30KJm2: 0.85, alphaPerK: 0.5, crystallisationStrain: 0.25,
      uvHalfDoseMJm2: 1.5, fieldUvFactor: 0.9, waterUptakePct: 0.75, creepA: 0.65, creepN: 0.88, creepKPerK: 0.85, timeSlope: 0.85, strainOncePct: 0.4, strainRepeatedPct: 0.4, pricePerKg: 1.3, maxFlowMm3s: 0.95,
    },
    flags: { abrasive: true, clarity: 'opaque', hinge: 'no', finish: 0.8, foodPolymer: false },
  },
  'foaming-agent': {
    key: 'foaming-agent', name: 'foaming agent',
    factors: { densityGcm3: 0.58, modulusMPa: 0.4, yieldMPa: 0.4, zRatio: 0.85, elongationPct: 0.9, charpy23KJm2: 0.55, charpyMinus30KJm2: 0.6, uvHalfDoseMJm2: 0.9, creepA: 1.3, strainOncePct: 0.8, strainRepeatedPct: 0.8, pricePerKg: 1.7, maxFlowMm3s: 0.7 },
    flags: { stringing: 0.8, clarity: 'opaque', foodPolymer: false },
  },
  microspheres: {
    key: 'microspheres', name: 'expanded polymer microspheres',
    factors: { densityGcm3: 0.8, modulusMPa: 0.65, yieldMPa: 0.6, zRatio: 0.9, elongationPct: 0.2, charpy23KJm2: 0.4, charpyMinus30KJm2: 0.5, alphaPerK: 0.85, crystallisationStrain: 0.5, strainOncePct: 0.4, strainRepeatedPct: 0.4, pricePerKg: 1.35, creepA: 1.1 },
    flags: { clarity: 'opaque', hinge: 'no', finish: 0.7, foodPolymer: false },
  },
  wood: {
    key: 'wood', name: 'wood flour',
    factors: { densityGcm3: 0.95, modulusMPa: 0.9, yieldMPa: 0.68, zRatio: 0.8, elongationPct: 0.6, charpy23KJm2: 0.85, charpyMinus30KJm2: 0.85, alphaPerK: 0.85, uvHalfDoseMJm2: 0.8, waterUptakePct: 2.5, wetFactor: 0.9, creepA: 1.2, strainOncePct: 0.7, strainRepeatedPct: 0.7, pricePerKg: 1.35, maxFlowMm3s: 0.8 },
    flags: { moisture: 'medium', clarity: 'opaque', finish: 0.86, stringing: 0.45, chars: true, foodPolymer: false },
  },
  metal: {
    key: 'metal', name: 'metal powder',
    factors: { densityGcm3: 2.4, modulusMPa: 1.15, yieldMPa: 0.6, zRatio: 0.75, elongationPct: 0.5, charpy23KJm2: 0.8, charpyMinus30KJm2: 0.8, alphaPerK: 0.8, uvHalfDoseMJm2: 1.3, creepA: 1.1, strainOncePct: 0.6, strainRepeatedPct: 0.6, pricePerKg: 2.2, maxFlowMm3s: 0.8 },
    flags: { abrasive: true, clarity: 'opaque', finish: 0.95, foodPolymer: false },
  },
  gloss: {
    key: 'gloss', name: 'gloss blend',
    factors: { modulusMPa: 0.8, yieldMPa: 0.75, zRatio: 0.7, elongationPct: 2.5, charpy23KJm2: 1.25, charpyMinus30KJm2: 1.1, alphaPerK: 1.1, uvHalfDoseMJm2: 0.9, creepA: 1.25, pricePerKg: 1.15 },
    flags: { clarity: 'opaque', finish: 0.96, stringing: 0.35, foodPolymer: false },
  },
  glow: {
    key: 'glow', name: 'phosphorescent mineral',
    factors: { densityGcm3: 1.06, modulusMPa: 1.05, yieldMPa: 0.85, zRatio: 0.85, elongationPct: 0.7, charpy23KJm2: 0.85, charpyMinus30KJm2: 0.85, pricePerKg: 1.35 },
    flags: { abrasive: true, clarity: 'translucent', finish: 0.82, foodPolymer: false },
  },
  toughener: {
    key: 'toughener', name: 'impact modifier',
    factors: { densityGcm3: 0.985, modulusMPa: 0.8, yieldMPa: 0.82, zRatio: 1.08, elongationPct: 3, charpy23KJm2: 3.2, charpyMinus30KJm2: 1.8, alphaPerK: 1.1, uvHalfDoseMJm2: 0.72, creepA: 1.3, strainOncePct: 1.75, strainRepeatedPct: 1.7, pricePerKg: 1.25, maxFlowMm3s: 0.95 },
    flags: { clarity: 'opaque', foodPolymer: false },
  },
  nucleant: {
    key: 'nucleant', name: 'nucleating agent',
    factors: { modulusMPa: 1.05, creepA: 0.8, creepKPerK: 0.5, pricePerKg: 1.3 },
    flags: { bake: true, clarity: 'opaque', foodPolymer: false },
  },
};
