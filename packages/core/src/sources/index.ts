export { BIBLIOGRAPHY, type SourceKey } from './bibliography.ts';
export { describeProvenance, judgement, measured, memory, practice, published, type Provenance } from './provenance.ts';
