/** A question of the Lessons: its answer always there; its picture and its numbers below it, or beside the list. */
import { View } from 'react-native';
import type { ReactNode } from 'react';
import { TOPICS, type Told, type TopicId } from '../../wording/lessonTopics';
import { Row } from '../parts/Box';
import { Figures } from '../parts/Figures';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

export interface TopicOf {
  id: TopicId;
  told: Told;
  picture?: ReactNode;
}

/** `beside`: its numbers stand beside the list and not below it. */
export function TopicHead({
  topic: { id, told },
  open,
  beside,
  onPress,
}: {
  topic: TopicOf;
  open: boolean;
  beside: boolean;
  onPress: () => void;
}) {
  const { p } = useTheme();
  return (
    <View role="heading" aria-level={2}>
      <Press
        label={`${TOPICS[id].replace(/\?$/, '')}. ${told.answer}`}
        {...(beside ? { selected: open } : { expanded: open })}
        onPress={onPress}
        style={{
          paddingVertical: 10,
          paddingHorizontal: beside ? 12 : 0,
          borderRadius: beside ? 10 : 0,
          backgroundColor: beside && open ? p.mossWash : 'transparent',
        }}
      >
        <View style={{ gap: 4 }}>
          <Row style={{ justifyContent: 'space-between' }}>
            <Say kind="heading" style={{ flexShrink: 1 }}>
              {TOPICS[id]}
            </Say>
            {beside ? null : <Glyph name={open ? 'up' : 'down'} size={22} />}
          </Row>
          <Say>{told.answer}</Say>
        </View>
      </Press>
    </View>
  );
}

export function TopicBody({ topic: { told, picture } }: { topic: TopicOf }) {
  return (
    <View style={{ gap: 14, paddingBottom: 12 }}>
      {told.note ? (
        <Say kind="label" tone="soft">
          {told.note}
        </Say>
      ) : null}
      {picture}
      {told.tables.map((t) => (
        <Figures key={t.label} {...t} />
      ))}
    </View>
  );
}
