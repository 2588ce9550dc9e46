import { countedTechniques } from '../api/tables.gen';
import type { Shape, Technique } from '../api/types.gen';

export { loadNames, shutNames, techniqueNames, techniquesOf } from '../api/tables.gen';

export const isCounted = (technique: Technique): boolean => countedTechniques.includes(technique);

export const shapeName = (shape: Shape): string => shape.replaceAll('_', ' ');
