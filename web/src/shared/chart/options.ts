import type { CustomSeriesOption, LineSeriesOption, ScatterSeriesOption } from 'echarts/charts';
import type { GridComponentOption, TooltipComponentOption } from 'echarts/components';
import type { ComposeOption } from 'echarts/core';
import type { ChartInk } from './ink';

/** What our charts are told: lines, points and fields on ruled axes. */
export type ChartOptions = ComposeOption<
  CustomSeriesOption | LineSeriesOption | ScatterSeriesOption | GridComponentOption | TooltipComponentOption
>;

/** A chart is a pure function from the page's ink to what the library is told. */
export type Draw = (ink: ChartInk) => ChartOptions;
