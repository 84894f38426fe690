declare module 'class-transformer/cjs/storage.js' {
  import type { MetadataStorage } from 'class-transformer/types/MetadataStorage';
  /** What the decorators have told of all classes. */
  export const defaultMetadataStorage: MetadataStorage;
}
