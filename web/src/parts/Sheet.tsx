import type { ReactNode } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { styled } from 'styled-components';

export const Panel = styled.section`
  min-width: 0;
  background: ${({ theme }) => theme.sheet};
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 5px;
  padding: 1rem 1.2rem;
  display: flex;
  flex-direction: column;
  gap: 0.7rem;
`;

export const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  align-items: center;
  > a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
`;

/** A part of a panel, with room between what stands in it. */
export const Section = styled.section`
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
`;

/** Things one below the other, each with its presses in line. */
export const Listed = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
  > li > div > span:first-child {
    min-width: min(24rem, 100%);
  }
`;

/** What is asked, side by side where there is room. */
export const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(165px, 1fr));
  gap: 0.5rem 0.9rem;
  /* By their labels, so that what is said under one entry does not push it out of line; what has no label stands at the foot. */
  align-items: start;
  > :not(:has(label)) {
    align-self: end;
  }
  /* Left beside right. */
  &[data-pairs] {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;

export const Trouble = styled.p`
  background: ${({ theme }) => theme.alarmPaper};
  color: ${({ theme }) => theme.alarm};
  border-left: 5px solid ${({ theme }) => theme.alarm};
  padding: 0.5rem 0.8rem;
  font-weight: 700;
`;

export const Quiet = styled.p`
  color: ${({ theme }) => theme.quiet};
  font-size: 0.95rem;
`;

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(11 35 66 / 55%);
  display: grid;
  /* It hangs from the top: what is answered in it grows and shrinks, and nothing may move under a finger. */
  place-items: start center;
  z-index: 20;
  padding: 6vh 3vw;
`;

const Body = styled(Dialog)`
  background: ${({ theme }) => theme.sheet};
  border-radius: 6px;
  padding: 1.3rem 1.5rem;
  width: min(680px, 94vw);
  max-height: 88vh;
  &[data-wide] {
    width: min(960px, 94vw);
  }
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
`;

interface AskProps {
  title: string;
  isOpen: boolean;
  isWide?: boolean;
  /** Without it the sheet stays until it is answered. */
  onClose?: () => void;
  children: ReactNode;
}

/** A sheet laid over the page, for what has to be answered first. */
export function Ask({ title, isOpen, isWide, onClose, children }: AskProps) {
  return (
    <Veil
      isOpen={isOpen}
      onOpenChange={(open) => (open ? undefined : onClose?.())}
      isDismissable={onClose !== undefined}
      isKeyboardDismissDisabled={onClose === undefined}
    >
      <Modal>
        <Body data-wide={isWide || undefined}>
          <Heading slot="title">{title}</Heading>
          {children}
        </Body>
      </Modal>
    </Veil>
  );
}
