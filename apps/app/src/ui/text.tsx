import { Text, styled } from 'tamagui';

export const Body = styled(Text, { fontFamily: '$body', fontSize: '$body', lineHeight: '$body', color: '$ink' });
export const Small = styled(Body, { fontSize: '$small', lineHeight: '$small', color: '$muted' });
export const Strong = styled(Body, { fontWeight: '700' });
export const Name = styled(Text, { fontFamily: '$slab', fontSize: '$name', lineHeight: '$name', fontWeight: '600', color: '$ink' });
export const Verdict = styled(Name, { fontSize: '$verdict', lineHeight: '$verdict' });
export const Title = styled(Name, { fontSize: '$title', lineHeight: '$title', render: 'h1', margin: 0 });
export const Heading = styled(Name, { render: 'h2', margin: 0 });
export const Big = styled(Strong, { fontSize: '$big', lineHeight: '$big', fontVariant: ['lining-nums', 'tabular-nums'] });
