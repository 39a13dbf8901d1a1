using JollyBarn.CodeBook;
using JollyBarn.Practice.Spot;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>An exercise that another version of the program made is not marked by what this one would make of its number.</summary>
public sealed class OtherExerciseTests(Running running) : IClassFixture<Running>
{
    private string Practised(int made, int called)
    {
        var drill = SpotDrill.Make(made, 2, Edition.Nec2020);
        return running.Store.Practise(drill.Job with { Exercise = new(ExerciseKind.Spot, called, 2, drill.Box) });
    }

    [Fact]
    public async Task It_is_told_and_not_marked()
    {
        var other = Practised(3, 4);
        using var told = await running.Client.GetAsync(new Uri($"/api/practice/bench/{other}", UriKind.Relative));
        Assert.Equal(422, (int)told.StatusCode);
        Assert.Contains("another version", await told.Content.ReadAsStringAsync(), StringComparison.OrdinalIgnoreCase);
        Assert.Equal(422, (await running.PostAsync($"/api/practice/bench/{other}/spot", new { said = Array.Empty<object>() })).Status);
        Assert.False(running.Store.Find(other)!.Now.Job.Exercise!.Shown);
    }

    /// <summary>After it was marked and mended it is the same still: what was begun with counts.</summary>
    [Fact]
    public async Task The_same_stays_the_same_while_it_is_worked_on()
    {
        var same = Practised(3, 3);
        for (var n = 0; n < 2; n++)
        {
            Assert.Equal(200, (await running.PostAsync($"/api/practice/bench/{same}/spot", new { said = Array.Empty<object>() })).Status);
        }

        Assert.NotNull(await running.GetAsync($"/api/practice/bench/{same}"));
    }
}
