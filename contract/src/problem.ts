/** What the server answers when it cannot do what was asked: a code for programs, a sentence for people. */
export interface Problem {
  readonly code: string;
  readonly message: string;
  readonly path?: string;
  /** For a conflict: how the thing stands on the server now. */
  readonly current?: unknown;
}

export interface ProblemBody {
  readonly error: Problem;
}
