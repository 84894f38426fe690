import type { Plugin } from 'vite';

export declare const language: () => string;
export declare function inLanguage(): Plugin[];
