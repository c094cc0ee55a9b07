export { useCatalogue } from './use-catalogue';
export { POSITION_WORDS, SEVERITY_MEANING, SEVERITY_WORDS, withPosition, ZONE_WORDS, zonesName } from './wording';
