#include "files/tables/document_tables.h"

#include "core/formula/latex.h"
#include "core/formula/mathml.h"

#include <functional>

namespace ledgefall {
namespace {

std::string heading_of(const NewColumn& column) {
    const std::string& label = column.label.empty() ? column.name : column.label;
    return label + (column.unit.empty() ? "" : " [" + column.unit + "]");
}

std::string cell_text(const NewColumn& column, std::size_t row) {
    const Value value = column.cells.at(row);
    return value.plain() || value.state() == State::unparsed ? write_cell(value) : std::string();
}

bool is_number(const NewColumn& column) {
    return column.cells.kind() == Kind::number;
}

std::string replaced(const std::string& text, const std::function<std::string(char)>& sign) {
    std::string out;
    for (const char c : text) {
        out += sign(c);
    }
    return out;
}

std::string for_markdown(const std::string& text) {
    return replaced(text, [](char c) -> std::string {
        return c == '\n' || c == '\r'                                                  ? " "
               : c == '|' || c == '\\' || c == '*' || c == '_' || c == '<' || c == '`' ? std::string("\\") + c
                                                                                       : std::string(1, c);
    });
}

} // namespace

std::string write_html_table(const LabelledColumns& columns) {
    std::string out = "<table>\n<thead>\n<tr>";
    for (const NewColumn& column : columns.columns) {
        out += "<th scope=\"col\">" + text_for_xml(heading_of(column)) + "</th>";
    }
    out += "</tr>\n</thead>\n<tbody>\n";
    for (std::size_t row = 0; row < columns.rows(); ++row) {
        out += "<tr>";
        for (const NewColumn& column : columns.columns) {
            out += is_number(column) ? "<td style=\"text-align: right\">" : "<td>";
            out += text_for_xml(cell_text(column, row)) + "</td>";
        }
        out += "</tr>\n";
    }
    return out + "</tbody>\n</table>\n";
}

std::string write_html_table_across(const LabelledColumns& columns) {
    std::string out = "<table>\n<tbody>\n";
    for (const NewColumn& column : columns.columns) {
        out += "<tr><th scope=\"row\">" + text_for_xml(heading_of(column)) + "</th>";
        for (std::size_t row = 0; row < columns.rows(); ++row) {
            out += is_number(column) ? "<td style=\"text-align: right\">" : "<td>";
            out += text_for_xml(cell_text(column, row)) + "</td>";
        }
        out += "</tr>\n";
    }
    return out + "</tbody>\n</table>\n";
}

std::string write_markdown_table(const LabelledColumns& columns) {
    std::string out = "|";
    std::string rule = "|";
    for (const NewColumn& column : columns.columns) {
        out += " " + for_markdown(heading_of(column)) + " |";
        rule += is_number(column) ? " ---: |" : " --- |";
    }
    out += "\n" + rule + "\n";
    for (std::size_t row = 0; row < columns.rows(); ++row) {
        out += "|";
        for (const NewColumn& column : columns.columns) {
            out += " " + for_markdown(cell_text(column, row)) + " |";
        }
        out += "\n";
    }
    return out;
}

std::string write_latex_table(const LabelledColumns& columns) {
    std::string places;
    std::string heading;
    for (const NewColumn& column : columns.columns) {
        places += is_number(column) ? "r" : "l";
        heading += (heading.empty() ? "" : " & ") + text_for_latex(heading_of(column));
    }
    std::string out = "\\begin{tabular}{" + places + "}\n\\hline\n" + heading + " \\\\\n\\hline\n";
    for (std::size_t row = 0; row < columns.rows(); ++row) {
        std::string line;
        for (std::size_t at = 0; at < columns.columns.size(); ++at) {
            line += (at == 0 ? "" : " & ") + text_for_latex(cell_text(columns.columns[at], row));
        }
        out += line + " \\\\\n";
    }
    return out + "\\hline\n\\end{tabular}\n";
}

} // namespace ledgefall
