import type { App } from '../app';
import type { Access } from '../http/guard';

interface Layer {
  readonly route?: {
    readonly path: string;
    readonly methods: Record<string, boolean>;
    readonly stack: readonly { readonly handle: { readonly access?: Access } }[];
  };
}

export interface LiveRoute {
  readonly method: string;
  readonly address: string;
  readonly access: Access | undefined;
}

/** The routes as the running router has them, not as somebody listed them. */
export function liveRoutes({ router }: Pick<App, 'router'>): LiveRoute[] {
  const layers = router.stack as unknown as readonly Layer[];
  return layers.flatMap(({ route }) =>
    route === undefined
      ? []
      : Object.keys(route.methods).map((method) => ({
          method: method.toUpperCase(),
          address: route.path,
          access: route.stack[0]?.handle.access,
        })),
  );
}
