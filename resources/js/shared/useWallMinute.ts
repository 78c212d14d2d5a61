import { useEffect, useState } from 'react';
import { minuteOf, wallNow } from './moment';

/** The minute by the clock on the wall, with its fraction, told anew so often while it matters. */
export function useWallMinute(every: number, matters: boolean): number {
    const [now, setNow] = useState(() => minuteOf(wallNow()));
    useEffect(() => {
        if (!matters) return;
        const timer = setInterval(() => setNow(minuteOf(wallNow())), every);
        return () => clearInterval(timer);
    }, [every, matters]);
    return now;
}
