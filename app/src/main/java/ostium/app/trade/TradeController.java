package ostium.app.trade;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.core.trade.TradeCatalogue;

/** Trades for the type-ahead of the opening sheet. */
@RestController
class TradeController {
    private static final int MOST = 7;

    /**
     * @param name what the trade is usually called
     * @param matched the name of it that fits the typed words
     */
    record Suggestion(String id, String name, String matched) {}

    @GetMapping("/api/trades")
    List<Suggestion> suggest(@RequestParam(defaultValue = "") String words) {
        String asked = words.length() > 80 ? words.substring(0, 80) : words;
        return TradeCatalogue.shipped().suggest(asked, MOST).stream()
                .map(match -> new Suggestion(match.trade().id(), match.trade().name(), match.name()))
                .toList();
    }
}
