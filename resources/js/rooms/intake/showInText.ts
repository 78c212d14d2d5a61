/** Selects words where they stand in the pasted text, and brings them into view: what is wrong is changed there, where the field's own undo takes it back. */
export function showInText(words: string): void {
    const field = document.querySelector<HTMLTextAreaElement>('#lines');
    const at = field?.value.indexOf(words) ?? -1;
    if (!field || at < 0) return;
    field.focus();
    field.setSelectionRange(at, at + words.length);
    // As far down as the words are in the text; a text area tells no place of a word.
    field.scrollTop = Math.max(0, (field.scrollHeight * at) / field.value.length - field.clientHeight / 3);
}
