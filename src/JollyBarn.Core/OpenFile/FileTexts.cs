using System.Text;
using System.Text.Json;
using JollyBarn.Terms;

namespace JollyBarn.OpenFile;

/// <summary>The texts of a file before anything is made of it: none longer than an edit could have written, none with characters that no
/// edit takes.</summary>
internal static class FileTexts
{
    /// <summary>The longest text an edit takes is a note of 4,000 characters.</summary>
    private const int Longest = 4000;

    /// <summary>The first text that cannot be, with its path, or null. What is no JSON is for the reader to tell.</summary>
    public static Refusal? Check(ReadOnlySpan<byte> bytes, int depth)
    {
        var reader = new Utf8JsonReader(bytes, new JsonReaderOptions { MaxDepth = depth });
        var path = new Stack<(string Name, int Index)>();
        var name = "";
        try
        {
            while (reader.Read())
            {
                switch (reader.TokenType)
                {
                    case JsonTokenType.StartObject or JsonTokenType.StartArray:
                        Next(path);
                        path.Push((name, reader.TokenType == JsonTokenType.StartArray ? -1 : int.MinValue));
                        name = "";
                        break;
                    case JsonTokenType.EndObject or JsonTokenType.EndArray:
                        path.Pop();
                        break;
                    case JsonTokenType.PropertyName:
                        name = reader.GetString()!;
                        if (Bad(name))
                        {
                            return new(Why.FileText, Told(path, "?"), ("most", Longest));
                        }

                        break;
                    default:
                        Next(path);
                        if (reader.TokenType == JsonTokenType.String && Bad(reader.GetString()!))
                        {
                            return new(Why.FileText, Told(path, name), ("most", Longest));
                        }

                        name = "";
                        break;
                }
            }

            return null;
        }
        catch (Exception problem) when (problem is JsonException or InvalidOperationException)
        {
            return null;
        }
    }

    private static bool Bad(string text) => text.Length > Longest || text.Any(c => char.IsControl(c) && c != '\n');

    /// <summary>Counts on in a list.</summary>
    private static void Next(Stack<(string Name, int Index)> path)
    {
        if (path.TryPeek(out var top) && top.Index > int.MinValue)
        {
            path.Pop();
            path.Push((top.Name, top.Index + 1));
        }
    }

    private static string Told(Stack<(string Name, int Index)> path, string name)
    {
        var told = new StringBuilder();
        foreach (var (of, index) in path.Reverse())
        {
            told.Append(told.Length > 0 && of.Length > 0 ? "." : "").Append(of).Append(index >= 0 ? $"[{index}]" : "");
        }

        return told.Append(told.Length > 0 && name.Length > 0 ? "." : "").Append(name).ToString();
    }
}
