import type { ReactNode } from 'react';
import { FieldError, Input, Label, Text, TextArea, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { fieldOf, useKeptField } from './drafts';
import { moment } from './words';

const Box = styled(TextField)`
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
  min-width: 0;
  max-width: 100%;
  label {
    font-family: ${({ theme }) => theme.label};
    font-weight: 600;
  }
  input,
  textarea {
    min-height: 44px;
    padding: 0.35rem 0.6rem;
    border: 1.5px solid #7c7a72;
    border-radius: 4px;
    background: #fff;
    max-width: 100%;
    font-variant-numeric: tabular-nums;
  }
  textarea {
    min-height: 84px;
    resize: vertical;
  }
  &[data-large] input {
    min-height: 56px;
    font-size: 1.35rem;
  }
  &[data-invalid] input,
  &[data-invalid] textarea {
    border: 2px solid ${({ theme }) => theme.alarm};
  }
  [slot='description'] {
    color: ${({ theme }) => theme.quiet};
    font-size: 0.92rem;
    min-height: 1.3em;
  }
  [data-doubt] {
    color: #7a4700;
    font-weight: 700;
  }
  [data-error] {
    color: ${({ theme }) => theme.alarm};
    font-size: 0.95rem;
    font-weight: 700;
  }
`;

export interface EntryProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** What was understood, or a hint. */
  echo?: ReactNode;
  /** What is wrong with the entry; it is kept as typed. */
  problem?: string;
  /** What is possible and unlikely in it. */
  doubt?: string;
  name?: string;
  type?: 'text' | 'password' | 'date' | 'number';
  lines?: boolean;
  large?: boolean;
  autoComplete?: string;
  inputMode?: 'numeric' | 'none';
  /** Whether it is one of the fields that a calliper types into, one after the other. */
  isRead?: boolean;
  /** What stands below it, and what it types. */
  renderBelow?: (type: (value: string) => void) => ReactNode;
  onLeave?: () => void;
  onEnter?: () => void;
  /** Whether it is nothing to be kept: what is looked for, a name to sign in with. */
  isPassing?: boolean;
}

/** One field: what it asks, what was typed, what was understood, what is wrong. */
export function Entry({
  label,
  value,
  onChange,
  echo,
  problem,
  doubt,
  name,
  type = 'text',
  lines,
  large,
  autoComplete = 'off',
  inputMode,
  onLeave,
  onEnter,
  isPassing,
  isRead,
  renderBelow,
}: EntryProps) {
  const { since, type: typed } = useKeptField(
    isPassing || type === 'password' ? undefined : fieldOf(name ?? '', label),
    value,
    onChange,
  );
  return (
    <Box
      value={value}
      onChange={typed}
      isInvalid={Boolean(problem)}
      name={name}
      type={type === 'date' || type === 'number' ? 'text' : type}
      data-large={large || undefined}
      onBlur={onLeave}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && onEnter) {
          onEnter();
        } else {
          event.continuePropagation();
        }
      }}
    >
      <Label>{label}</Label>
      {lines ? (
        <TextArea />
      ) : (
        <Input
          type={type}
          autoComplete={autoComplete}
          inputMode={inputMode}
          spellCheck={false}
          data-read={isRead || undefined}
        />
      )}
      {renderBelow?.(typed)}
      {problem ? <FieldError data-error>{problem}</FieldError> : null}
      {echo !== undefined || doubt || since ? (
        <Text slot="description">
          {since ? `Typed ${moment(since)}, not sent yet. ` : ''}
          {echo}
          {doubt ? <span data-doubt> {doubt}</span> : null}
        </Text>
      ) : null}
    </Box>
  );
}
