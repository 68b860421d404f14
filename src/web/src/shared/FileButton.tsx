import { FilesButton, type FilesButtonProps } from './FilesButton';

type Props = Omit<FilesButtonProps, 'multiple' | 'onFiles'> & { onFile: (file: File) => void };

/** A button that opens a file. */
export function FileButton({ onFile, ...rest }: Props) {
  return <FilesButton {...rest} onFiles={([file]) => file && onFile(file)} />;
}
