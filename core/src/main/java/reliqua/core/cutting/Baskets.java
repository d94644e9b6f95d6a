package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What could be bought for a sum: baskets of whole shop items to which nothing more can be added.
 * Every plan within the sum buys no more of anything than one of them.
 */
final class Baskets {
    private final List<String> items;
    private final List<Long> prices;
    private final long sum;
    private final int most;
    private final List<Map<String, Integer>> found = new ArrayList<>();

    private Baskets(Map<String, Long> shop, long sum, int most) {
        this.items = List.copyOf(shop.keySet());
        this.prices = List.copyOf(shop.values());
        this.sum = sum;
        this.most = most;
    }

    /**
     * The baskets, as numbers of items by id; empty where there are more than {@code most}, or
     * where work at the heap's own things counts towards the sum too.
     */
    static List<Map<String, Integer>> within(long sum, List<StickProblem.BinType> bins, int most) {
        Map<String, Long> shop = new LinkedHashMap<>();
        for (StickProblem.BinType bin : bins) {
            if (bin.own() && bin.charge() > 0 || !bin.own() && bin.charge() == 0) {
                return List.of();
            }
            if (!bin.own()) {
                shop.merge(bin.source(), bin.charge(), Math::min);
            }
        }
        Baskets baskets = new Baskets(shop, sum, most);
        baskets.fill(0, sum, new LinkedHashMap<>());
        return baskets.found.size() > most ? List.of() : baskets.found;
    }

    private void fill(int item, long left, Map<String, Integer> taken) {
        if (found.size() > most) {
            return;
        }
        if (item == items.size()) {
            if (prices.stream().allMatch(p -> p > left)) {
                found.add(Map.copyOf(taken));
            }
            return;
        }
        for (int n = (int) (left / prices.get(item)); n >= 0; n--) {
            taken.put(items.get(item), n);
            fill(item + 1, left - n * prices.get(item), taken);
        }
        taken.remove(items.get(item));
    }
}
