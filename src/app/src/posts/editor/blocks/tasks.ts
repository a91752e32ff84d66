import { TaskItem, TaskList } from '@tiptap/extension-list'

/** Task lists stored as plain lists: done or not is a class of the item. */
export const Tasks = TaskList.extend({
  parseHTML: () => [{ tag: 'ul.tasks', priority: 60 }],
  renderHTML: () => ['ul', { class: 'tasks' }, 0],
})

export const Task = TaskItem.extend({
  addAttributes: () => ({
    checked: {
      default: false,
      keepOnSplit: false,
      parseHTML: (element: HTMLElement) => element.classList.contains('done'),
      renderHTML: ({ checked }) => (checked ? { class: 'done' } : {}),
    },
  }),
  parseHTML: () => [{ tag: 'ul.tasks > li', priority: 60 }],
  renderHTML: ({ HTMLAttributes }) => ['li', HTMLAttributes, 0],
}).configure({ nested: true })
