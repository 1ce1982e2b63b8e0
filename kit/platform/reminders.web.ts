/** Whether this browser can tell of steps, and may. */
export function reminderLeave(): 'granted' | 'denied' | 'default' {
  return typeof Notification === 'undefined' ? 'denied' : Notification.permission;
}

/** Asks the browser's leave. */
export async function askLeave(): Promise<boolean> {
  if (reminderLeave() === 'granted') return true;
  if (typeof Notification === 'undefined') return false;
  return (await Notification.requestPermission()) === 'granted';
}

/** Says that something is due. One with the same tag takes the place of an earlier one. */
export function remind(title: string, body: string, tag: string): void {
  const note = new Notification(title, { body, tag });
  note.onclick = () => {
    window.focus();
    note.close();
  };
}
