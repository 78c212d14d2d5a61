import { useQuery } from '@tanstack/react-query';
import { servicePullQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { PullTable } from '../../shared/PullTable';
import { LinesWaiting, Waiting } from '../../shared/Waiting';

/** What is fetched for the whole service: every ingredient once, and how much for which dish. */
export function ToFetch({ service }: { service: number }) {
    const { data, error, isPending, refetch } = useQuery(servicePullQuery(service));
    return (
        <Panel component="section" aria-labelledby="fetch-title" className="sheet">
            <h2 id="fetch-title" className="name" style={{ margin: '0 0 4px', fontSize: 'var(--text-title)' }}>To fetch</h2>
            {isPending && <Waiting what="what is fetched"><LinesWaiting /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && <PullTable pull={data.pull} />}
        </Panel>
    );
}
