import { UI_PHRASES } from '../words/ui-phrases';
import { Component, type ErrorInfo, type ReactNode } from 'react';
import { YStack } from 'tamagui';
import { Banner } from './banner';
import { Button } from './button';
import { Body, Small, Title } from './text';

interface Props {
  /** Another screen begins anew. */
  readonly place: string;
  /** What is told with a report besides the fault itself. */
  readonly about: string;
  readonly onLeave: () => void;
  readonly children: ReactNode;
}
interface State {
  readonly error: Error | null;
  readonly where: string;
  readonly place: string;
}

/** A screen that breaks off says so, keeps what was typed (every letter is in this browser already), and gives a report to copy. */
export class ScreenBoundary extends Component<Props, State> {
  override state: State = { error: null, where: '', place: this.props.place };

  static getDerivedStateFromError(error: Error): Partial<State> {
    return { error };
  }

  static getDerivedStateFromProps({ place }: Props, state: State): Partial<State> | null {
    return place === state.place ? null : { error: null, where: '', place };
  }

  override componentDidCatch(_error: Error, info: ErrorInfo): void {
    this.setState({ where: info.componentStack ?? '' });
  }

  private report(): string {
    const { error, where, place } = this.state;
    return [this.props.about, place, `${error?.name}: ${error?.message}`, error?.stack ?? '', where].join('\n');
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (error === null) return this.props.children;
    return (
      <YStack flex={1} backgroundColor="$paper" role="main" padding="$l" gap="$l" maxWidth={720} width="100%" marginHorizontal="auto">
        <Title>{UI_PHRASES.thisScreenBroke}</Title>
        <Banner tone="bad">{UI_PHRASES.whatYouEntered}</Banner>
        <Body>{UI_PHRASES.openItAgain}</Body>
        <Button kind="main" label={UI_PHRASES.openItAgain2} onPress={() => this.setState({ error: null, where: '' })} />
        <Button label={UI_PHRASES.toTheYard} onPress={this.props.onLeave} />
        <Button kind="quiet" label={UI_PHRASES.copyTheReport} onPress={() => void navigator.clipboard?.writeText(this.report())} />
        <Small numberOfLines={6} role="note" aria-label={UI_PHRASES.report}>
          {this.report()}
        </Small>
      </YStack>
    );
  }
}
