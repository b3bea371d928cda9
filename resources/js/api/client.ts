import axios, { AxiosError } from 'axios';

const http = axios.create({ baseURL: '/api', headers: { Accept: 'application/json' } });

/** A request that the server refused, or that did not reach it; the message can be shown as it is. */
export class Failure extends Error {
    constructor(
        message: string,
        readonly status: number,
        readonly body: unknown,
    ) {
        super(message);
    }
}

function explain(error: unknown): Failure {
    if (!(error instanceof AxiosError)) {
        return new Failure(String(error), 0, null);
    }
    const body = error.response?.data as { message?: string } | undefined;
    const status = error.response?.status ?? 0;
    if (status === 0) {
        return new Failure('The server does not answer. Nothing is lost; try again when it is back.', 0, null);
    }
    if (status === 413) {
        return new Failure('The file is larger than the server takes.', status, body);
    }
    const refused = [403, 404, 409, 422, 503, 507].includes(status);
    // Where in the request the fault lies is for programs; the producer sees it in the field.
    const message = body?.message?.replace(/^args[\w.[\]]*: /, '');
    return new Failure((refused && message) || `The server could not do this (${status}).`, status, body);
}

async function settle<T>(request: Promise<{ data: T }>): Promise<T> {
    try {
        return (await request).data;
    } catch (error) {
        throw explain(error);
    }
}

export const get = <T>(path: string, params?: object): Promise<T> => settle(http.get<T>(path, { params }));

export const post = <T>(path: string, body: object = {}): Promise<T> => settle(http.post<T>(path, body));

export const remove = <T>(path: string): Promise<T> => settle(http.delete<T>(path));
