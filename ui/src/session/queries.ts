import { MutationCache, QueryCache, QueryClient, type DefaultOptions } from '@tanstack/react-query';
import { Refused } from '../api/client';
import { ended } from './usePerson';

/**
 * What is asked of the server and kept of it. Whatever first hears that the session has ended says so, a look that is taken by
 * itself too: what is typed meanwhile may be kept on this device alone, and would wait there without anybody being told why.
 */
export function newQueries(options: DefaultOptions['queries'] = {}): QueryClient {
  const onError = (failure: Error) => {
    if (failure instanceof Refused && failure.isSignedOut) {
      ended(queries, failure.message);
    }
  };
  const queries: QueryClient = new QueryClient({
    queryCache: new QueryCache({ onError }),
    mutationCache: new MutationCache({ onError }),
    defaultOptions: { queries: options },
  });
  return queries;
}
