import { HttpClient, HttpParams } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { firstValueFrom, type Observable } from 'rxjs';
import type * as z from 'zod';
import { readAnswer } from './read-answer';

/** What may stand in the query of an address; what is undefined is left out. */
export type Query = Readonly<Record<string, string | number | boolean | undefined>>;
/** What an answer must be: a check of the contract, or where that is fetched once there is an answer. */
export type Expected<T> = z.ZodType<T> | (() => Promise<z.ZodType<T>>);
type Method = 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/**
 * The one way to speak to the server: every answer is a promise, checked by the contract.
 * @throws HttpErrorResponse where the server refuses or cannot be reached; ZodError where its answer
 *   cannot be read. `apiFailure` makes a sentence of either.
 */
@Injectable({ providedIn: 'root' })
export class Client {
  private readonly http = inject(HttpClient);

  async get<T>(path: string, expected: Expected<T>, query: Query = {}): Promise<T> {
    return read(expected, await answered(this.http.get(path, { params: paramsOf(query) })));
  }

  /** Sends something whose answer is read here. */
  async send<T>(method: Method, path: string, expected: Expected<T>, body?: unknown): Promise<T> {
    return read(expected, await this.tell(method, path, body));
  }

  /** Sends something whose answer says nothing, or is read by whoever asked. */
  tell(method: Method, path: string, body: unknown = null): Promise<unknown> {
    return answered(this.http.request(method, path, { body }));
  }

  /** Fetches a file; one that is made of what is sent, where something is. */
  file(path: string, query: Query = {}): Promise<Blob> {
    return answered(this.http.get(path, { params: paramsOf(query), responseType: 'blob' }));
  }

  fileOf(path: string, body: unknown): Promise<Blob> {
    return answered(this.http.post(path, body, { responseType: 'blob' }));
  }
}

const answered = <T>(asked: Observable<T>): Promise<T> => firstValueFrom(asked);

async function read<T>(expected: Expected<T>, answer: unknown): Promise<T> {
  const schema = typeof expected === 'function' ? await expected() : expected;
  return readAnswer(schema, answer);
}

/** The query of an address as Angular sends it. */
function paramsOf(query: Query): HttpParams {
  const given = Object.entries(query).flatMap(([name, value]) =>
    value === undefined ? [] : [[name, value] as const],
  );
  return new HttpParams({ fromObject: Object.fromEntries(given) });
}
