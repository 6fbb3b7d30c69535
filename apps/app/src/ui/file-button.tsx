import { Button } from './button';

/** Takes a file from the device. */
export function FileButton({ label, onFile }: { readonly label: string; readonly onFile: (file: File) => void }) {
  const press = () => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = 'application/json,.json';
    input.onchange = () => {
      const file = input.files?.[0];
      if (file !== undefined) onFile(file);
    };
    input.click();
  };
  return <Button tight label={label} onPress={press} />;
}
