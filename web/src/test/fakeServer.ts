import { jest } from '@jest/globals';
import './inApp.ts';

type Answer = object | Response | void;
type Route = (request: { path: string; query: URLSearchParams; body: unknown }) => Answer | Promise<Answer>;

/** An answer of the server that refuses, with its sentence for the person. */
export const refusal = (status: number, code: string, sentence = 'No.'): Response =>
  Response.json({ code, says: code, detail: sentence }, { status });

/**
 * A server of nothing but what a test says: routes are `METHOD /path`, where `*` stands for one part of a path.
 * What was asked is kept in order; a route that nobody laid is an error of the test.
 */
export function fakeServer(routes: Record<string, Route>) {
  const asked: { route: string; path: string; query: URLSearchParams; body: unknown }[] = [];
  jest.spyOn(globalThis, 'fetch').mockImplementation(async (input, init) => {
    const url = new URL(String(input as string), 'http://localhost');
    const method = init?.method ?? 'GET';
    const name = Object.keys(routes).find((route) =>
      new RegExp(`^${route.replaceAll('*', '[^/]+')}$`).test(`${method} ${url.pathname}`),
    );
    if (!name) throw new Error(`Nobody laid ${method} ${url.pathname}.`);
    const body: unknown = typeof init?.body === 'string' ? JSON.parse(init.body) : (init?.body ?? null);
    const request = { path: url.pathname, query: url.searchParams, body };
    asked.push({ route: name, ...request });
    const answer = await routes[name]!(request);
    if (answer instanceof Response) return answer;
    return answer === undefined ? new Response(null, { status: 204 }) : Response.json(answer);
  });
  return { asked, of: (route: string) => asked.filter((one) => one.route === route), routes };
}

/** Something that is done when the test says so. */
export function held<T>() {
  let release!: (value: T) => void;
  const until = new Promise<T>((resolve) => (release = resolve));
  return { until, release };
}
