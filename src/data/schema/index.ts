export * from './blends';
export * from './care';
export * from './pour';
export * from './shop';
export * from './stores';
export * from './changes';
export * from './work';
export * from './pieces';
