import { Router, type Request, type Response } from 'express';
import { guard, type Access } from './guard';

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';
type Handler = (request: Request, response: Response) => Promise<void> | void;

/**
 * The one way to add a route: method, address, who may use it, what it does. Addresses are whole (`/lots/:id`), so that
 * the router can be read as a list.
 */
export class Api {
  readonly router = Router();

  route(method: Method, address: string, access: Access, handler: Handler): this {
    this.router[method](address, guard(access), async (request, response) => {
      await handler(request, response);
    });
    return this;
  }
}

/** A parameter of the address; the router has made sure that it is there. */
export function param(request: Request, name: string): string {
  return String(request.params[name]);
}
