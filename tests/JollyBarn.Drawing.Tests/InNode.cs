using System.Diagnostics;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Testing;

namespace JollyBarn.Drawing.Tests;

/// <summary>Modules of the interface, run in Node as they are built.</summary>
internal static class InNode
{
    /// <summary>What functions of a built module answer, one after the other.</summary>
    /// <param name="asked">Name of each, and what it is given.</param>
    public static IReadOnlyList<JsonNode?> Call(
        string module,
        IEnumerable<(string By, object?[] Of)> asked,
        JsonSerializerOptions? options = null
    ) =>
        [
            .. JsonNode
                .Parse(Run("calls", module, JsonSerializer.Serialize(asked.Select(a => new { by = a.By, of = a.Of }), options)))!
                .AsArray(),
        ];

    /// <summary>Runs the script of this name beside the tests on the built module of the same name; what it writes.</summary>
    public static string Run(string name, string input) => Run(name, name, input);

    private static string Run(string script, string name, string input)
    {
        var module = Path.Combine(Checkout.Root, ".build", "drawing", $"{name}.mjs");
        using var node = Process.Start(
            new ProcessStartInfo("node", [Path.Combine(AppContext.BaseDirectory, $"{script}.mjs"), module])
            {
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
            }
        )!;
        var writing = Task.Run(() =>
        {
            node.StandardInput.Write(input);
            node.StandardInput.Close();
        });
        var output = node.StandardOutput.ReadToEnd();
        writing.Wait();
        node.WaitForExit();
        Assert.Equal(0, node.ExitCode);
        return output;
    }
}
