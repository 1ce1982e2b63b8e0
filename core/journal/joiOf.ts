import Joi from 'joi';

import { DAY_TEXT, EARLIEST, MOMENT, type Shape, fieldOf, isTimely } from './shape';

/** Joi's reading of a shape. The hour at the door comes in as `context.now`. */
export function joiOf(shape: Shape): Joi.Schema {
  switch (shape.of) {
    case 'number': {
      const between = Joi.number().min(shape.min).max(shape.max);
      return shape.whole ? between.integer() : between;
    }
    case 'text': {
      let text = Joi.string().max(shape.max);
      if (shape.trimmed) text = text.trim();
      if (shape.like) text = text.pattern(shape.like);
      return text;
    }
    case 'moment':
      return Joi.string().pattern(MOMENT, 'an instant').custom(timely(shape.daysAhead)).messages({
        'moment.none': '{{#label}} is no day of the calendar',
        'moment.early': '{{#label}} lies before 1990',
        'moment.late': '{{#label}} lies too far ahead',
      });
    case 'day':
      return Joi.string()
        .pattern(DAY_TEXT, 'a day')
        .custom((value: string, { error }) =>
          Number.isNaN(Date.parse(value)) ? error('day.none') : value,
        )
        .messages({ 'day.none': '{{#label}} is no day of the calendar' });
    case 'flag':
      return Joi.boolean();
    case 'one':
      return Joi.valid(...shape.among);
    case 'list':
      return Joi.array().items(joiOf(shape.items)).min(shape.min).max(shape.max);
    case 'pair':
      return Joi.array()
        .ordered(...shape.items.map((item) => joiOf(item).required()))
        .length(2);
    case 'either':
      return Joi.alternatives(...shape.among.map(joiOf));
    case 'table':
      return Joi.object().pattern(shape.keys, joiOf(shape.values)).max(shape.max);
    case 'fields': {
      const keys = Object.entries(shape.fields).map(([key, of]) => {
        const { name, optional } = fieldOf(key);
        return [name, optional ? joiOf(of) : joiOf(of).required()] as const;
      });
      const object = Joi.object(Object.fromEntries(keys));
      return shape.min ? object.custom(atLeast(shape.min)).messages(TOO_FEW) : object;
    }
  }
}

const TOO_FEW = { 'fields.few': '{{#label}} must have at least one field' };

/** Joi's own `min` would count a field that is undefined, which is gone once it is written. */
const atLeast =
  (min: number): Joi.CustomValidator<object> =>
  (value, { error }) =>
    Object.values(value).filter((one) => one !== undefined).length >= min
      ? value
      : error('fields.few');

const timely =
  (daysAhead: number): Joi.CustomValidator<string> =>
  (value, { error, prefs }) => {
    const at = Date.parse(value);
    if (Number.isNaN(at)) return error('moment.none');
    if (at < EARLIEST) return error('moment.early');
    const { now } = prefs.context as { readonly now: number };
    return isTimely(at, now, daysAhead) ? value : error('moment.late');
  };
