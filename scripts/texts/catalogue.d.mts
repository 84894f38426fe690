export declare const SOURCE: string;
export declare const PSEUDO: string;
export declare function languages(): string[];
export declare function translator(language: string): ((text: string) => string) | undefined;
export declare function writtenCatalogue(
  language: string,
  texts: readonly { readonly text: string; readonly places: readonly string[]; readonly gaps: readonly string[] }[],
  saidFor: (text: string) => string | undefined,
): Buffer;
