import { Entry } from '../parts/Entry';

interface NewPasswordProps {
  label?: string;
  value: string;
  onChange: (value: string) => void;
  problem?: string;
  /** What is said behind the rule, such as whom it is for. */
  more?: string;
}

/** A password that is chosen, by the one rule that there is for the eye; the server knows the others. */
export function NewPassword({ label = 'A new password', more = '', ...entry }: NewPasswordProps) {
  return (
    <Entry
      label={label}
      name="password"
      type="password"
      echo={`At least 10 characters${more}`}
      autoComplete="new-password"
      {...entry}
    />
  );
}
