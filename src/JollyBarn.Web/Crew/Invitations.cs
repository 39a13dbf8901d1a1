using JollyBarn.Store;

namespace JollyBarn.Web.Crew;

/// <summary>Makes invitations. The word stands behind the # of the link, which no browser sends on and no log keeps.</summary>
internal static class Invitations
{
    public static (InvitationRow Row, string Path) Make(
        JobStore store,
        TimeProvider clock,
        CrewRole role,
        IReadOnlyList<string> jobs,
        TimeSpan good,
        string by,
        string? person = null
    )
    {
        var (word, now) = (Words.New(), clock.GetUtcNow());
        var row = new InvitationRow
        {
            Id = Words.Hash(word),
            Role = role,
            Jobs = string.Join(' ', jobs.Distinct(StringComparer.Ordinal)),
            PersonId = person,
            By = by,
            Made = CrewStore.Text(now),
            Ends = CrewStore.Text(now + good),
        };
        store.Crew.Invite(row);
        return (row, $"/join#{word}");
    }
}
