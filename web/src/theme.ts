import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context'
import { theme } from 'ant-design-vue'
import { tokensOf, type Tokens } from './style/tokens'

function shared(token: Tokens) {
  return {
    fontFamily: token('text'),
    fontSize: Number.parseInt(token('type-body')),
    borderRadius: 8,
    controlHeight: 36,
    colorSuccess: token('safe'),
    colorWarning: token('tight'),
    colorError: token('no'),
    colorPrimary: token('copper'),
    colorInfo: token('slate'),
    colorTextPlaceholder: token('placeholder'),
    colorTextDescription: token('muted'),
    colorBgContainer: token('sheet'),
    colorBgElevated: token('pop-up'),
    colorBorder: token('field-line'),
    colorBorderSecondary: token('line'),
    colorLink: token('slate'),
  }
}

/** Copper is heat, and the one thing to do next; what is chosen or switched on is not. */
function chosen(token: Tokens) {
  const colour = {
    colorPrimary: token('chosen'),
    colorPrimaryHover: token('chosen'),
    colorPrimaryActive: token('chosen'),
  }
  return { Radio: colour, Switch: colour, Checkbox: colour, Slider: colour, Progress: colour, Select: colour }
}

const byDay = tokensOf()
const byNight = tokensOf("[data-theme='night']")
const byThePress = tokensOf('.at-press')

/** The control library in the colours of style/tokens.css. */
export const day: ThemeConfig = {
  components: chosen(byDay),
  token: {
    ...shared(byDay),
    // Lighter, as the library has it, white on it would be hard to read.
    colorPrimaryHover: byDay('copper-hover'),
    colorPrimaryActive: byDay('copper-active'),
    colorText: byDay('ink'),
    colorTextSecondary: byDay('muted'),
    colorBgLayout: byDay('steam'),
  },
}

/** The whole application in a workshop at night. */
export const night: ThemeConfig = {
  algorithm: theme.darkAlgorithm,
  components: chosen(byNight),
  token: {
    ...shared(byNight),
    colorBgBase: byNight('steam'),
    colorTextBase: byNight('ink'),
    colorTextLightSolid: byNight('on-copper'),
  },
}

/** At the press. */
export const atThePress: ThemeConfig = {
  algorithm: theme.darkAlgorithm,
  components: chosen(byThePress),
  token: {
    ...shared(byThePress),
    controlHeight: 48,
    colorBgBase: byThePress('steam'),
    colorTextBase: byThePress('ink'),
    colorTextLightSolid: byThePress('on-copper'),
  },
}

/** As large as a fingertip, px; WCAG 2.2, 2.5.5. */
const FINGERTIP = 44

/** The same look with controls that a finger hits. */
export function underAFinger({ token, ...look }: ThemeConfig): ThemeConfig {
  return { ...look, token: { ...token, controlHeight: FINGERTIP, controlHeightSM: FINGERTIP } }
}
