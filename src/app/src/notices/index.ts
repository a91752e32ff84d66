export { default as NoticeList } from './NoticeList.vue'
export { useNotices } from './useNotices'
