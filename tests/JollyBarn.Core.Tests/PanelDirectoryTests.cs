using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Practice.Houses;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>The directory of a panel, NEC 408.4(A): what and where, each circuit told from every other.</summary>
public sealed class PanelDirectoryTests
{
    [Fact]
    public void A_line_says_what_and_where()
    {
        var job = SmallHouse
            .Followed(SmallHouse.Receptacle())
            .Do(new PutPlace("shed", new Place("Boat shed")), new PlaceBox("b", "shed"), new PlaceBox("j", "shed"));
        var line = ToldDirectory.Tell(job, "p").Lines.Single();
        Assert.Equal(("1", "Boat shed: receptacle", false), (line.Key, line.Should, line.Open));
        Assert.True(ToldDirectory.Tell(job.Do(new SetContents("b", Contents.Partial)), "p").Lines.Single().Open);
    }

    /// <summary>Two circuits with receptacles in one room are told apart by their boxes.</summary>
    [Fact]
    public void Two_that_would_read_alike_name_their_boxes()
    {
        var job = Enumerable.Range(1, 200).Select(WiredHouse.Make).First(j => Rooms(j).Any(g => g.Count() > 1));
        var said = ToldDirectory.Tell(job, "p").Lines.Select(l => l.Should).OfType<string>().ToList();
        Assert.Equal(said.Count, said.Distinct().Count());
        Assert.Contains(said, s => s.Contains("(Type store", StringComparison.Ordinal));
    }

    /// <summary>Slots are numbered down two sides: a breaker of two poles takes one and the next below it on the same side.</summary>
    [Fact]
    public void Free_slots_and_those_that_take_two_poles()
    {
        var job = Job.Blank("x")
            .Do(
                new PutPanel(
                    "p",
                    new Panel("Panel", SupplySystem.SplitPhase, 8) { Breakers = [new(1, 2, 30), new(2, 1, 15), new(6, 1, 15)] }
                )
            );
        var told = ToldDirectory.Tell(job, "p");
        Assert.Equal([4, 5, 7, 8], told.Free);
        Assert.Equal([5], told.Pairs);
        Assert.All(told.Lines, l => Assert.True(l.Open && l.Should is null));
    }

    private static IEnumerable<IGrouping<string?, DirectoryLine>> Rooms(Job job) =>
        PanelDirectory
            .Of(job, "p")
            .Lines.SelectMany(l => l.Entries.Where(e => e.Serves == Serves.Receptacles).Select(e => (e.Place, l)))
            .GroupBy(x => x.Place, x => x.l);
}
