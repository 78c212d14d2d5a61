import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client';
import type { PlanStep, Service, ServiceInput, StepSaid } from '../../api/types';
import { useWrite } from '../../api/useWrite';
import { notice } from '../../shared/notice';

/** Changes a service, and reads its plan anew. */
export function useChange(service: Service) {
    const client = useQueryClient();
    const write = useWrite(service.revision);
    return useMutation({
        mutationFn: (said: ServiceInput) => write<Service>('PATCH', `services/${service.id}`, said),
        onSuccess: async (kept) => {
            client.setQueryData(['service', service.id], kept);
            await Promise.all([client.invalidateQueries({ queryKey: ['service', service.id] }), client.invalidateQueries({ queryKey: ['services'] })]);
        },
    });
}

const WORDS = { begun: 'Begun', done: 'Done', locked: 'Not to be moved' } as const;

/** Says how a step stands, and offers to take it back. */
export function useSay(service: Service) {
    const client = useQueryClient();
    const send = async (said: StepSaid) => {
        await call<undefined>('PUT', `services/${service.id}/steps`, said);
        await client.invalidateQueries({ queryKey: ['service', service.id] });
    };
    const key = (step: PlanStep) => ({ item_id: service.items[step.item ?? -1]?.id ?? 0, step: step.step, batch: step.batch ?? null });
    return useMutation({
        mutationFn: ({ step, state, at }: { step: PlanStep; state: StepSaid['state']; at: string | null }) => send({ ...key(step), state, at, unit: step.unit }),
        // What was said of it before, as it stood before it was said otherwise.
        onMutate: ({ step }) => ({ was: service.said.find((one) => one.item_id === key(step).item_id && one.step === step.step && (one.batch ?? 0) === (step.batch ?? 0)) }),
        onSuccess: (_, { step, state }, { was }) => {
            notice({
                text: state === null ? `Open again: ${step.text}` : `${WORDS[state]}: ${step.text}`,
                back: { word: 'Take it back', act: () => void send({ ...key(step), state: was?.state ?? null, at: was?.at ?? null }).then(() => notice(null), () => notice({ text: 'It could not be taken back.' })) },
            });
        },
        onError: (error) => notice({ text: error.message }),
    });
}
