import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { notice, useNotice } from './notice';

const SHOWN_MS = 20_000;

/** What was just done, with the way back; it leaves by itself, the way back stays in the drawer of what was removed. */
export function NoticeBar() {
    const told = useNotice();
    return (
        <Snackbar
            key={told?.text} open={told !== null} autoHideDuration={SHOWN_MS} onClose={(_, reason) => reason === 'timeout' && notice(null)} message={told?.text} anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }} slotProps={{ content: { sx: { bgcolor: 'var(--panel)', color: 'var(--ink)', border: '1.5px solid var(--rim)', borderRadius: '11px', fontSize: 'var(--text-body)' } } }}
            action={
                <>
                    {told?.back && (
                        <Button sx={{ color: 'inherit', textDecoration: 'underline' }} onClick={() => { told.back?.act(); notice(null); }}>
                            {told.back.word}
                        </Button>
                    )}
                    <Button sx={{ color: 'inherit' }} onClick={() => notice(null)} aria-label="Close this message">
                        ✕
                    </Button>
                </>
            }
        />
    );
}
