/**
 * The one door to the control kit: each control from its own module, so that a page loads what it shows. Everything
 * else takes its controls from here, or one of ours from beside it.
 */
export { default as AutoComplete } from 'ant-design-vue/es/auto-complete';
export { default as Button } from 'ant-design-vue/es/button';
export { default as Checkbox, CheckboxGroup } from 'ant-design-vue/es/checkbox';
export { default as Collapse, CollapsePanel } from 'ant-design-vue/es/collapse';
export { default as ConfigProvider } from 'ant-design-vue/es/config-provider';
export { default as DatePicker } from 'ant-design-vue/es/date-picker';
export { default as Drawer } from 'ant-design-vue/es/drawer';
export { default as Dropdown } from 'ant-design-vue/es/dropdown';
export { default as Input, Textarea } from 'ant-design-vue/es/input';
export { default as Menu } from 'ant-design-vue/es/menu';
export { default as message } from 'ant-design-vue/es/message';
export { default as Modal } from 'ant-design-vue/es/modal';
export { default as notification } from 'ant-design-vue/es/notification';
export { default as Popover } from 'ant-design-vue/es/popover';
export { default as Progress } from 'ant-design-vue/es/progress';
export { default as Radio, RadioButton, RadioGroup } from 'ant-design-vue/es/radio';
export { default as Select } from 'ant-design-vue/es/select';
export { default as Skeleton } from 'ant-design-vue/es/skeleton';
export { default as Slider } from 'ant-design-vue/es/slider';
export { default as Table } from 'ant-design-vue/es/table';
export { default as Steps } from 'ant-design-vue/es/steps';
export { default as Tabs, TabPane } from 'ant-design-vue/es/tabs';
export { default as Tooltip } from 'ant-design-vue/es/tooltip';
export { default as Tour } from 'ant-design-vue/es/tour';
export { default as Upload, UploadDragger } from 'ant-design-vue/es/upload';
