package ostium.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface PeopleMapper {
    @Select("select a.id, a.name, a.email from helper h join account a on a.id = h.account where h.site = #{site}"
            + " order by h.since")
    List<Helper> helpers(String site);

    @Insert("insert ignore into helper (site, account) values (#{site}, #{account})")
    void insertHelper(String site, String account);

    @Delete("delete from helper where site = #{site} and account = #{account}")
    int deleteHelper(String site, String account);

    @Insert("insert into invitation (hash, site, kind, email, invited_by, expires_at)"
            + " values (#{hash}, #{site}, #{kind}, #{email}, #{invitedBy}, #{expiresAt})")
    void insertInvitation(
            String hash, String site, Invitation.Kind kind, String email, String invitedBy, Instant expiresAt);

    @Select("select hash, site, kind, email, invited_by, expires_at from invitation where hash = #{hash}")
    Optional<Invitation> invitation(String hash);

    @Select("select hash, site, kind, email, invited_by, expires_at from invitation where site = #{site}"
            + " and expires_at > now(6) order by expires_at")
    List<Invitation> invitations(String site);

    @Delete("delete from invitation where site = #{site} and email = #{email} and kind = #{kind}")
    int deleteInvitation(String site, String email, Invitation.Kind kind);

    @Delete("delete from invitation where expires_at < now(6)")
    void sweep();

    record Helper(String id, String name, String email) {}
}
