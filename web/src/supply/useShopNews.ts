import { onMounted, ref } from 'vue'
import { get, send } from '../api/client'
import type { OrderLine, ShopNews } from '../api/types'
import { useBuild } from '../store/build'
import { useFresh } from '../store/live'
import { useShell } from '../store/shell'

/** What shops and couriers said last of the orders of the build that is open. */
export function useShopNews() {
  const builds = useBuild()
  const shell = useShell()
  const news = ref<ShopNews | null>(null)
  const asking = ref(false)
  const path = () => `/api/builds/${encodeURIComponent(builds.id)}/order/news`
  /** How often they were asked: what was read before an answer is older than it. */
  let answers = 0
  async function read() {
    const before = answers
    const read = await get<ShopNews>(path()).catch(() => null)
    if (read && before === answers) news.value = read
  }
  /** Asks them now, and shows what follows. */
  async function ask() {
    asking.value = true
    try {
      const answer = await send<ShopNews>('POST', path())
      answers++
      news.value = answer
      await builds.reload()
    } catch (problem) {
      shell.say((problem as Error).message)
    } finally {
      asking.value = false
    }
  }
  onMounted(read)
  useFresh(read)
  return { news, asking, ask }
}

/** The line as it was ordered, whatever parts it came in since: what shops call it. */
const asOrdered = (line: OrderLine) => line.partOf || line.id

/** What was said of one line. */
export function newsOf(news: ShopNews | null, line: OrderLine) {
  return {
    parcel: news?.parcels.find((each) => each.code === line.trackingCode && each.code !== ''),
    label: news?.labels.find((each) => each.line === asOrdered(line))?.label,
    back: news?.returns.find((each) => each.line === asOrdered(line)),
  }
}
