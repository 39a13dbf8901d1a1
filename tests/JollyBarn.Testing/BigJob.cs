using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>A job of the size of a large house or small school: so many boxes, three cables to each.</summary>
public static class BigJob
{
    public static Job Make(int boxes = 300, int cablesEach = 3, int seed = 1)
    {
        var random = new Random(seed);
        var kinds = BoxKinds.All.Where(k => k is { Volume: not null, Gangs: 1 or 2 }).ToList();
        var job = Enumerable
            .Range(0, 20)
            .Aggregate(Job.Blank("A large job"), (j, i) => j.Do(new PutPlace($"p{i}", new Place($"Room {i}"))));
        for (var b = 0; b < boxes; b++)
        {
            var id = $"b{b}";
            job = job.Do(
                new AddBox(id, $"Box {b}", kinds[random.Next(kinds.Count)].Id, $"p{b % 20}", null, Contents.Complete),
                new AddDevice(id, "d", "receptacle", 1)
            );
            for (var c = 0; c < cablesEach; c++)
            {
                job = job.Do(new AddCable(id, $"r{b}.{c}", $"k{c}", Jobs.Nm(random.Next(2) == 0 ? 14 : 12, random.Next(2, 4))));
            }

            var leads = job.Boxes[id].Leads.ToList();
            job = job.Do(
                new JoinLeads(id, "hots", "twist-on-medium", [.. leads.Where(l => l.Value.Colour == "black").Select(l => l.Key)]),
                new JoinLeads(id, "neutrals", "twist-on-medium", [.. leads.Where(l => l.Value.Colour == "white").Select(l => l.Key)]),
                new JoinLeads(id, "grounds", "twist-on-medium", [.. leads.Where(l => l.Value.IsGround).Select(l => l.Key)]),
                new AddPigtail(
                    id,
                    "ph",
                    new Landing(LandingAt.Joint, "hots"),
                    new Landing(LandingAt.Terminal, null, "d", "hot-upper/screw")
                ),
                new AddPigtail(
                    id,
                    "pn",
                    new Landing(LandingAt.Joint, "neutrals"),
                    new Landing(LandingAt.Terminal, null, "d", "neutral-upper/screw")
                ),
                new SetLeadLength(id, leads[0].Key, new Fact<Length>(Known.Measured, Length.Inches(7, 1, 2)))
            );
        }

        return job;
    }
}
