using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>What a cable is marked to do is what the recorded wiring makes it do.</summary>
/// <remarks>Practice: who trusts the mark opens the wrong breaker. Judged only where the wiring is followed to its end.</remarks>
public sealed class FeedMarks() : BoxRule("feed-mark")
{
    public enum Case
    {
        BringsNothing,
        BringsPower,
        NotProtected,
        Agrees,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.End.Feeds != Feeds.CannotTell && c.Leads.Count > 0))
        {
            var comes = cable.Leads.Select(l => look.Comings.By(look.Box.Leads[l])).ToList();
            var (hot, closed) = (comes.Exists(c => c.Hot), comes.TrueForAll(c => c.Closed));
            (string, object?)[] name = [("cable", cable.Thing)];
            switch (cable.End.Feeds)
            {
                case Feeds.FeedsIn when hot:
                    yield return Fine(cable.Id, Case.Agrees, name).Pointing(cable.Leads);
                    break;
                case Feeds.FeedsIn when closed:
                    yield return Fix(cable.Id, Case.BringsNothing, name).Pointing(cable.Leads);
                    break;
                case Feeds.FeedsOn when hot:
                    yield return Fix(cable.Id, Case.BringsPower, name).Pointing(cable.Leads);
                    break;
                // Beside a protective device the rule of its line and load says so.
                case Feeds.Protected when Protected.Followed(look, cable) is { } behind && !look.Devices.Any(d => d.Kind.Protects):
                    yield return (behind ? Fine(cable.Id, Case.Agrees, name) : Fix(cable.Id, Case.NotProtected, name)).Pointing(
                        cable.Leads
                    );
                    break;
                case Feeds.FeedsOn when closed:
                    yield return Fine(cable.Id, Case.Agrees, name).Pointing(cable.Leads);
                    break;
            }
        }
    }
}
