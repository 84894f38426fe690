/** A text of the source with its gaps numbered, and what stands in them. */
export interface Message {
  readonly text: string;
  readonly gaps: readonly string[];
}

export declare function messagesIn(file: string, code: string): Message[];
export declare function rewritten(file: string, code: string, translate: (text: string) => string): string;
