import { use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { init } from './engine';

/** The same library, drawing into text: loaded when a picture is saved. */
register([SVGRenderer]);

export { init };
