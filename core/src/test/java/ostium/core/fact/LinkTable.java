package ostium.core.fact;

/** Links as people paste them, and what they become. */
final class LinkTable {
    private LinkTable() {}

    static final String LINKS = """
            # typed | network | canonical address; or ! and words of the reason; or ? and words of the question
            https://www.facebook.com/ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            http://facebook.com/ashlatchsweeps/ | facebook | https://www.facebook.com/ashlatchsweeps
            https://m.facebook.com/ashlatchsweeps?ref=bookmarks | facebook | https://www.facebook.com/ashlatchsweeps
            facebook.com/ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            www.facebook.com/ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            fb.com/ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            https://en-gb.facebook.com/ashlatchsweeps/ | facebook | https://www.facebook.com/ashlatchsweeps
            https://www.facebook.com/ashlatchsweeps/photos?tab=album | facebook | https://www.facebook.com/ashlatchsweeps
            https://www.facebook.com/profile.php?id=100012345678901 | facebook | https://www.facebook.com/profile.php?id=100012345678901
            https://www.facebook.com/pages/Ashlatch-Chimney-Care-100012345678 | facebook | \
            https://www.facebook.com/p/Ashlatch-Chimney-Care-100012345678
            facebook ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            facebook: ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            fb @ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            Facebook - ashlatchsweeps | facebook | https://www.facebook.com/ashlatchsweeps
            ashlatchsweeps on Facebook | facebook | https://www.facebook.com/ashlatchsweeps
            https://www.instagram.com/ashlatch.sweeps/?igshid=MzRlODBiNWFlZA== | instagram | https://www.instagram.com/ashlatch.sweeps/
            instagram.com/ashlatch_sweeps | instagram | https://www.instagram.com/ashlatch_sweeps/
            insta @ashlatch | instagram | https://www.instagram.com/ashlatch/
            ig: ashlatch | instagram | https://www.instagram.com/ashlatch/
            Instagram (@ashlatch) | instagram | https://www.instagram.com/ashlatch/
            @ashlatch on instagram | instagram | https://www.instagram.com/ashlatch/
            https://instagram.com/ashlatch?utm_source=qr | instagram | https://www.instagram.com/ashlatch/
            https://www.instagram.com/ashlatch/reels/ | instagram | https://www.instagram.com/ashlatch/
            https://www.youtube.com/@ashlatch | youtube | https://www.youtube.com/@ashlatch
            https://youtube.com/@ashlatch/videos | youtube | https://www.youtube.com/@ashlatch
            https://www.youtube.com/channel/UCabcdefghijklmnopqrstuv | youtube | https://www.youtube.com/channel/UCabcdefghijklmnopqrstuv
            https://www.youtube.com/c/AshlatchSweeps | youtube | https://www.youtube.com/c/AshlatchSweeps
            youtube @ashlatch | youtube | https://www.youtube.com/@ashlatch
            https://www.tiktok.com/@ashlatch?lang=en | tiktok | https://www.tiktok.com/@ashlatch
            tiktok: @ashlatch | tiktok | https://www.tiktok.com/@ashlatch
            https://www.linkedin.com/company/ashlatch/ | linkedin | https://www.linkedin.com/company/ashlatch
            https://uk.linkedin.com/company/ashlatch/about/ | linkedin | https://www.linkedin.com/company/ashlatch
            https://www.linkedin.com/in/ada-ashlatch-1a2b3c?trk=x | linkedin | https://www.linkedin.com/in/ada-ashlatch-1a2b3c
            company/ashlatch | linkedin | https://www.linkedin.com/company/ashlatch
            /in/ada-ashlatch | linkedin | https://www.linkedin.com/in/ada-ashlatch
            linkedin ashlatch | linkedin | https://www.linkedin.com/company/ashlatch
            https://twitter.com/ashlatch | x | https://x.com/ashlatch
            https://x.com/ashlatch?s=20 | x | https://x.com/ashlatch
            https://mobile.twitter.com/ashlatch | x | https://x.com/ashlatch
            twitter @ashlatch | x | https://x.com/ashlatch
            https://www.threads.net/@ashlatch | threads | https://www.threads.net/@ashlatch
            https://www.threads.com/@ashlatch | threads | https://www.threads.net/@ashlatch
            https://www.pinterest.co.uk/ashlatch/ | pinterest | https://www.pinterest.com/ashlatch/
            https://bsky.app/profile/ashlatch.example | bluesky | https://bsky.app/profile/ashlatch.example
            bluesky ashlatch.example | bluesky | https://bsky.app/profile/ashlatch.example
            https://mastodon.social/@ashlatch | mastodon | https://mastodon.social/@ashlatch
            https://nextdoor.co.uk/pages/ashlatch-chimney-care/ | nextdoor | https://nextdoor.com/pages/ashlatch-chimney-care/
            https://wa.me/447700900142 | whatsapp | https://wa.me/447700900142
            https://api.whatsapp.com/send?phone=447700900142&text=Hi | whatsapp | https://wa.me/447700900142
            https://wa.me/message/ABCDEFGH12345 | whatsapp | https://wa.me/message/ABCDEFGH12345
            whatsapp +44 7700 900142 | whatsapp | https://wa.me/447700900142
            https://t.me/ashlatch | telegram | https://t.me/ashlatch
            telegram @ashlatch | telegram | https://t.me/ashlatch
            https://m.me/ashlatchsweeps | messenger | https://m.me/ashlatchsweeps
            https://www.snapchat.com/add/ashlatch | snapchat | https://www.snapchat.com/add/ashlatch
            add/ashlatch | snapchat | https://www.snapchat.com/add/ashlatch
            https://www.reddit.com/user/ashlatch/ | reddit | https://www.reddit.com/user/ashlatch/
            https://old.reddit.com/r/quillhaven | reddit | https://www.reddit.com/r/quillhaven/
            https://www.twitch.tv/ashlatch | twitch | https://www.twitch.tv/ashlatch
            https://vimeo.com/ashlatch | vimeo | https://vimeo.com/ashlatch
            https://soundcloud.com/wren-tindle | soundcloud | https://soundcloud.com/wren-tindle
            https://open.spotify.com/artist/4Z8W4fKeB5YxbusRsdQVPb?si=x | spotify | https://open.spotify.com/artist/4Z8W4fKeB5YxbusRsdQVPb
            https://wrentindle.bandcamp.com/ | bandcamp | https://wrentindle.bandcamp.com
            https://www.flickr.com/photos/ashlatch/ | flickr | https://www.flickr.com/photos/ashlatch/
            https://www.behance.net/bellkite | behance | https://www.behance.net/bellkite
            https://dribbble.com/bellkite | dribbble | https://dribbble.com/bellkite
            https://medium.com/@bellkite | medium | https://medium.com/@bellkite
            https://bellkite.substack.com/p/hems | substack | https://bellkite.substack.com
            https://bellkite.tumblr.com | tumblr | https://www.tumblr.com/bellkite
            https://github.com/bellkite | github | https://github.com/bellkite
            https://www.xing.com/pages/bellkite | xing | https://www.xing.com/pages/bellkite
            https://uk.trustpilot.com/review/ashlatch.example | trustpilot | https://www.trustpilot.com/review/ashlatch.example
            https://www.yelp.com/biz/bellkite-alterations-port-merrow?osq=Tailor | yelp | \
            https://www.yelp.com/biz/bellkite-alterations-port-merrow
            biz/bellkite-alterations-port-merrow | yelp | https://www.yelp.com/biz/bellkite-alterations-port-merrow
            https://g.page/ashlatch-sweeps | google | https://g.page/ashlatch-sweeps
            https://maps.app.goo.gl/AbCdEfGh12345 | google | https://maps.app.goo.gl/AbCdEfGh12345
            https://www.google.com/maps?cid=1234567890123456789 | google | https://www.google.com/maps?cid=1234567890123456789
            https://www.checkatrade.com/trades/Ashlatch | checkatrade | https://www.checkatrade.com/trades/Ashlatch
            https://www.trustatrader.com/traders/ashlatch-chimney-sweeps-tolver | trustatrader | \
            https://www.trustatrader.com/traders/ashlatch-chimney-sweeps-tolver
            https://www.mybuilder.com/profile/view/ashlatch | mybuilder | https://www.mybuilder.com/profile/view/ashlatch
            https://www.houzz.co.uk/pro/ashlatch | houzz | https://www.houzz.com/pro/ashlatch
            https://www.etsy.com/uk/shop/Bellkite | etsy | https://www.etsy.com/shop/Bellkite
            https://www.ebay.co.uk/str/bellkite | ebay | https://www.ebay.com/str/bellkite
            https://paypal.me/bellkite | paypal | https://paypal.me/bellkite
            https://ashlatch.example | web | https://ashlatch.example
            ashlatch.example | web | https://ashlatch.example
            www.ashlatch.example/prices | web | https://www.ashlatch.example/prices
            HTTPS://WWW.Ashlatch.EXAMPLE/Prices | web | https://www.ashlatch.example/Prices
            https://ashlatch.example/?utm_source=card&page=2 | web | https://ashlatch.example/?page=2
            https://guild.example/members/117#ashlatch | web | https://guild.example/members/117#ashlatch
            http://ashlatch.example | web | http://ashlatch.example
            https://müller.example/preise | web | https://müller.example/preise
            <https://ashlatch.example> | web | https://ashlatch.example
            https://www.facebook.com | | ! front page of Facebook
            https://www.instagram.com/ | | ! front page of Instagram
            x.com | | ! front page of X
            https://www.tiktok.com | | ! front page of TikTok
            https://www.linkedin.com/ | | ! front page of LinkedIn
            ada@ashlatch.example | | ! mail address
            mailto:ada@ashlatch.example | | ! mail address
            javascript:alert(1) | | ! starts with https
            ftp://ashlatch.example/a | | ! starts with https
            the photo site | | ! not a link
            photosite @ashlatch | | ! do not know
            instagram @ash latch | | ! not a link
            x @ashlatchchimneycareofquill | | ! cannot be a name on X
            jobs/ashlatch | | ! end of a link
            @ashlatchsweeps | | ? Which site
            ashlatchsweeps | | ? Which site
            !!! | | ! not a link
            """;
}
